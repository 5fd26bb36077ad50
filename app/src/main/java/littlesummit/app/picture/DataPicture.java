package littlesummit.app.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Iterator;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import littlesummit.app.web.Problem;

/**
 * A picture small enough to stand in a document, as a data URL (RFC 2397).
 *
 * @param width and height in pixels
 */
public record DataPicture(String data, int width, int height) {
    private static final int[] SIDES = {520, 420, 340, 260, 180};
    private static final int MOST_PIXELS = 16_000_000;

    /**
     * As large as it may be.
     *
     * @param longest characters at most
     * @return empty where even the smallest has more
     * @throws Problem when it is no picture, too large, or damaged
     */
    public static Optional<DataPicture> of(byte[] file, int longest) {
        BufferedImage largest = PictureReader.pixels(file, SIDES[0]);
        return IntStream.of(SIDES)
                .mapToObj(side -> PictureReader.scaled(largest, side))
                .flatMap(image -> Stream.of("png", "jpeg").map(format -> written(image, format)))
                .filter(picture -> picture.data.length() <= longest)
                .findFirst();
    }

    private static DataPicture written(BufferedImage image, String format) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, format, bytes);
        } catch (IOException full) {
            throw new IllegalStateException(full);
        }
        String data = "data:image/" + format + ";base64," + Base64.getEncoder().encodeToString(bytes.toByteArray());
        return new DataPicture(data, image.getWidth(), image.getHeight());
    }

    /** What it shows; empty where it cannot be opened, or would take too much room when it is. */
    public static Optional<BufferedImage> opened(String data) {
        byte[] file = Base64.getDecoder().decode(data.substring(data.indexOf(',') + 1));
        try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                boolean isSmall = (long) reader.getWidth(0) * reader.getHeight(0) <= MOST_PIXELS;
                return isSmall ? Optional.of(reader.read(0)) : Optional.empty();
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException damaged) {
            return Optional.empty();
        }
    }
}
