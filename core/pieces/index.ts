export { createPieceReader, type Piece, type PieceReader, type Pieces } from './pieces'
