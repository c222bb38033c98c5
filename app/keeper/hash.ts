/** In a file of its own, so that it is fetched only once there is a picture. */
export { hashOf } from '#core/formats'
