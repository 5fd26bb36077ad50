package littlesummit.app.working;

/**
 * A picture as it is kept: decoded, turned upright, made small enough and encoded anew.
 *
 * @param width and height in pixels
 */
record Upright(byte[] jpeg, int width, int height) {}
