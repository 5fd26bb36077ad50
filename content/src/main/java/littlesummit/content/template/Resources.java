package littlesummit.content.template;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** Files that ship beside the classes of this package. */
final class Resources {
    private Resources() {}

    static String text(String name) {
        try (InputStream in = Resources.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("There is no file " + name + ".");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
