package littlesummit.app.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import littlesummit.app.web.Problem;

/**
 * Takes a photo or scan apart and puts it together anew: upright, of a size that can be read, with nothing in it but
 * the picture.
 */
public final class PictureReader {
    private static final Set<String> FORMATS = Set.of("png", "jpeg", "webp");
    /** Longest side that is kept, in pixels: enough to read handwriting on a page. */
    private static final int LONGEST = 2200;

    private static final long MOST_PIXELS = 60_000_000;
    private static final float QUALITY = 0.85f;
    private static final String BROKEN =
            "This picture is damaged and cannot be opened. Take it again, or save it again as PNG or JPEG.";

    private PictureReader() {}

    /** @throws Problem when it is no picture of the three formats, too large, or damaged */
    public static Upright read(byte[] file) {
        BufferedImage image = pixels(file, LONGEST);
        try {
            return encoded(image);
        } catch (IOException damaged) {
            throw Problem.badRequest(BROKEN);
        }
    }

    /**
     * The picture itself, upright.
     *
     * @param longest its longest side at most, in pixels
     * @throws Problem as above
     */
    public static BufferedImage pixels(byte[] file, int longest) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            while (readers.hasNext()) {
                ImageReader reader = readers.next();
                if (FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    return decoded(reader, in, orientation(file), longest);
                }
            }
        } catch (IOException | RuntimeException damaged) {
            if (damaged instanceof Problem said) {
                throw said;
            }
            throw Problem.badRequest(BROKEN);
        }
        throw Problem.badRequest("This is no PNG, JPEG or WebP picture. Save it as one of these and add it again.");
    }

    private static BufferedImage decoded(ImageReader reader, ImageInputStream in, int orientation, int longest)
            throws IOException {
        try {
            reader.setInput(in, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if ((long) width * height > MOST_PIXELS) {
                throw Problem.badRequest(
                        "This picture has more than 60 million pixels. Make it smaller and add it again.");
            }
            ImageReadParam fewer = reader.getDefaultReadParam();
            int step = Math.max(1, Math.max(width, height) / (2 * longest));
            fewer.setSourceSubsampling(step, step, 0, 0);
            return turned(scaled(reader.read(0, fewer), longest), orientation);
        } finally {
            reader.dispose();
        }
    }

    /** The way the camera was held: 1 for upright, to 8, as in the Exif tag Orientation. */
    private static int orientation(byte[] file) {
        try {
            var exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | IOException | MetadataException | RuntimeException none) {
            return 1;
        }
    }

    static BufferedImage scaled(BufferedImage image, int longest) {
        double scale = Math.min(1, (double) longest / Math.max(image.getWidth(), image.getHeight()));
        return drawn(
                image,
                Math.max(1, (int) Math.round(image.getWidth() * scale)),
                Math.max(1, (int) Math.round(image.getHeight() * scale)),
                AffineTransform.getScaleInstance(scale, scale));
    }

    /** Turned by the Exif orientation (CIPA DC-008, tag 0x0112). */
    static BufferedImage turned(BufferedImage image, int orientation) {
        int w = image.getWidth();
        int h = image.getHeight();
        return switch (orientation) {
            case 2 -> drawn(image, w, h, new AffineTransform(-1, 0, 0, 1, w, 0));
            case 3 -> drawn(image, w, h, new AffineTransform(-1, 0, 0, -1, w, h));
            case 4 -> drawn(image, w, h, new AffineTransform(1, 0, 0, -1, 0, h));
            case 5 -> drawn(image, h, w, new AffineTransform(0, 1, 1, 0, 0, 0));
            case 6 -> drawn(image, h, w, new AffineTransform(0, 1, -1, 0, h, 0));
            case 7 -> drawn(image, h, w, new AffineTransform(0, -1, -1, 0, h, w));
            case 8 -> drawn(image, h, w, new AffineTransform(0, -1, 1, 0, 0, w));
            default -> image;
        };
    }

    private static BufferedImage drawn(BufferedImage image, int width, int height, AffineTransform how) {
        BufferedImage made = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = made.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(image, how, null);
        g.dispose();
        return made;
    }

    /** A quarter turn to the right of a picture that was kept before. */
    public static Upright quarterTurn(byte[] jpeg) {
        try {
            return encoded(turned(ImageIO.read(new ByteArrayInputStream(jpeg)), 6));
        } catch (IOException damaged) {
            throw new IllegalStateException("a kept picture cannot be read", damaged);
        }
    }

    private static Upright encoded(BufferedImage image) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (var out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } finally {
            writer.dispose();
        }
        return new Upright(bytes.toByteArray(), image.getWidth(), image.getHeight());
    }
}
