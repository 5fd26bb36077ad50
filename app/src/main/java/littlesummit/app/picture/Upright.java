package littlesummit.app.picture;

/**
 * A picture as it is kept: decoded, turned upright, made small enough and encoded anew.
 *
 * @param width and height in pixels
 */
public record Upright(byte[] jpeg, int width, int height) {}
