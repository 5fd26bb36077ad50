package littlesummit.app.exchange.qti.in;

import java.net.URI;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import littlesummit.app.picture.DataPicture;
import littlesummit.app.web.Problem;
import org.w3c.dom.Element;

/** The pictures of a package, as a document carries them; all of them together have no more room than it has. */
final class Pictures {
    private static final int LONGEST = 60_000;
    private static final int MOST_IN_ALL = 150_000;
    /** So many are opened: a file of a few bytes can hold a picture of millions of pixels. */
    private static final int MOST_OPENED = 40;

    private static final Pattern DATA = Pattern.compile("data:image/[a-z+.-]+;base64,(.+)", Pattern.DOTALL);
    private static final Pattern LENGTH = Pattern.compile("(\\d{1,4})(?:\\.\\d+)?(?:px)?");

    private final Map<String, byte[]> files;
    private final Map<String, Optional<DataPicture>> read = new HashMap<>();
    private int used;

    /** @param files by their names in the package */
    Pictures(Map<String, byte[]> files) {
        this.files = Map.copyOf(files);
    }

    /**
     * A picture of an item.
     *
     * @param wide how wide its item says that it is: places on it are counted so
     * @param high the same upwards
     */
    record Shown(DataPicture picture, String alt, double wide, double high) {
        /** As a figure of a template. */
        Map<String, Object> figure() {
            Map<String, Object> figure = new LinkedHashMap<>();
            figure.put("kind", "image");
            figure.put("alt", alt.isBlank() ? QtiItemReader.TO_WRITE + " What does the picture show?" : alt);
            figure.put("width", picture.width());
            figure.put("height", picture.height());
            figure.put("data", picture.data());
            return figure;
        }

        /** @param places corners of each; they get letters in their order */
        Map<String, Object> figure(List<List<Double>> places) {
            Map<String, Object> figure = figure();
            figure.put(
                    "areas",
                    IntStream.range(0, places.size())
                            .mapToObj(i -> Map.of("id", OnPicture.letter(i), "corners", places.get(i)))
                            .toList());
            return figure;
        }
    }

    /**
     * What an {@code img} or {@code object} shows; empty where it cannot be taken over.
     *
     * @param item name of the file that it stands in
     */
    Optional<Shown> of(Element image, String item) {
        String address = image.hasAttribute("src") ? image.getAttribute("src") : image.getAttribute("data");
        return read.computeIfAbsent(address(address, item), this::read)
                .filter(picture -> used + picture.data().length() <= MOST_IN_ALL)
                .map(this::counted)
                .map(picture -> new Shown(
                        picture,
                        described(image),
                        length(image, "width").orElse((double) picture.width()),
                        length(image, "height").orElse((double) picture.height())));
    }

    /** In plain words: signs that mean something in a document are no part of it. */
    private static String described(Element image) {
        String said = image.hasAttribute("alt") ? image.getAttribute("alt") : image.getTextContent();
        return said.replaceAll("\\s+", " ")
                .replace('{', '(')
                .replace('}', ')')
                .replace("$", " dollars")
                .strip();
    }

    private static Optional<Double> length(Element image, String name) {
        Matcher length = LENGTH.matcher(image.getAttribute(name).strip());
        return length.matches() && Double.parseDouble(length.group(1)) > 0
                ? Optional.of(Double.valueOf(length.group(1)))
                : Optional.empty();
    }

    /** Within the package, from the file that names it; nothing is fetched from anywhere else. */
    private static String address(String address, String item) {
        if (DATA.matcher(address).matches()) {
            return address;
        }
        try {
            String decoded = URLDecoder.decode(address.replace("+", "%2B"), StandardCharsets.UTF_8);
            URI named = URI.create(decoded.replace(" ", "%20"));
            boolean isWithin = named.getScheme() == null && named.getAuthority() == null;
            return isWithin
                    ? URI.create("/" + item.replace(" ", "%20"))
                            .resolve(named)
                            .getPath()
                            .replaceFirst("^/", "")
                    : "";
        } catch (IllegalArgumentException strange) {
            return "";
        }
    }

    private Optional<DataPicture> read(String address) {
        if (read.size() >= MOST_OPENED) {
            return Optional.empty();
        }
        try {
            return bytes(address).flatMap(file -> DataPicture.of(file, LONGEST));
        } catch (Problem noPicture) {
            return Optional.empty();
        }
    }

    private Optional<byte[]> bytes(String address) {
        Matcher data = DATA.matcher(address);
        if (!data.matches()) {
            return Optional.ofNullable(files.get(address));
        }
        try {
            return Optional.of(Base64.getMimeDecoder().decode(data.group(1)));
        } catch (IllegalArgumentException broken) {
            return Optional.empty();
        }
    }

    private DataPicture counted(DataPicture picture) {
        used += picture.data().length();
        return picture;
    }
}
