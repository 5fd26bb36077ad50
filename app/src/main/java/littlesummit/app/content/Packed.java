package littlesummit.app.content;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/** Texts as gzip packs them (RFC 1952): an item takes a quarter of the room. */
final class Packed {
    private Packed() {}

    static byte[] pack(String text) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(bytes)) {
            gzip.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return bytes.toByteArray();
    }

    /** @throws UncheckedIOException for bytes that {@link #pack} did not make */
    static String unpack(byte[] bytes) {
        return unpack(bytes, Integer.MAX_VALUE);
    }

    /**
     * For what comes from elsewhere.
     *
     * @param most bytes that may come out; what would follow is not unpacked
     * @throws UncheckedIOException for bytes that {@link #pack} did not make
     */
    static String unpack(byte[] bytes, int most) {
        try (GZIPInputStream gzip = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
            return new String(gzip.readNBytes(most), StandardCharsets.UTF_8);
        } catch (IOException damaged) {
            throw new UncheckedIOException(damaged);
        }
    }
}
