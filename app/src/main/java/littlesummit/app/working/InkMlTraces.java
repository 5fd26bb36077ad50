package littlesummit.app.working;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.app.web.Problem;
import littlesummit.core.working.ink.InkColour;
import littlesummit.core.working.ink.Stroke;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Reads the traces of an InkML document: channels in any order, values absolute, or as first or second differences. */
final class InkMlTraces {
    private static final Pattern VALUE = Pattern.compile("([!'\"]?)\\s*(-?(?:\\d+\\.?\\d*|\\.\\d+)|[TF*?])");
    private static final double USUAL_WIDTH = 2.5;
    private static final double USUAL_PRESSURE = 0.5;
    private static final double MARGIN = 20;
    private final Element ink;
    private final List<String> channels;
    private final Map<String, Element> brushes = new HashMap<>();

    InkMlTraces(Element ink) {
        this.ink = ink;
        List<String> named = elements(ink, "channel").stream()
                .map(c -> c.getAttribute("name"))
                .toList();
        this.channels = named.isEmpty() ? List.of("X", "Y") : named;
        elements(ink, "brush")
                .forEach(b -> brushes.put("#" + b.getAttributeNS("http://www.w3.org/XML/1998/namespace", "id"), b));
        if (!channels.contains("X") || !channels.contains("Y")) {
            throw Problem.badRequest("This InkML file has no X and Y channels.");
        }
    }

    private static List<Element> elements(Element root, String name) {
        NodeList found = root.getElementsByTagNameNS(InkMl.NAMESPACE, name);
        List<Element> list = new ArrayList<>();
        for (int i = 0; i < found.getLength(); i++) {
            list.add((Element) found.item(i));
        }
        return list;
    }

    List<Stroke> strokes() {
        return fitted(elements(ink, "trace").stream().map(this::stroke).toList());
    }

    private Stroke stroke(Element trace) {
        List<Double> points = new ArrayList<>();
        double[] value = new double[channels.size()];
        double[] step = new double[channels.size()];
        char[] mode = new char[channels.size()];
        Arrays.fill(mode, '!');
        String[] samples = trace.getTextContent().split(",");
        if (samples.length > Stroke.MOST_POINTS) {
            throw Problem.badRequest("A trace of this file has more than " + Stroke.MOST_POINTS + " points.");
        }
        for (String sample : samples) {
            next(sample, value, step, mode);
            points.addAll(List.of(
                    of(value, "X", 0),
                    of(value, "Y", 0),
                    Math.clamp(of(value, "F", USUAL_PRESSURE), 0.0, 1.0),
                    of(value, "T", 0)));
        }
        return dressed(trace, points);
    }

    /** One sample: a mode of a channel stays until another is written. */
    private void next(String sample, double[] value, double[] step, char[] mode) {
        Matcher m = VALUE.matcher(sample);
        for (int i = 0; i < channels.size() && m.find(); i++) {
            if (!m.group(1).isEmpty()) {
                mode[i] = m.group(1).charAt(0);
            }
            double read = number(m.group(2));
            switch (mode[i]) {
                case '\'' -> step[i] = read;
                case '"' -> step[i] += read;
                default -> step[i] = read - value[i];
            }
            value[i] += step[i];
        }
    }

    private static double number(String text) {
        return switch (text) {
            case "T" -> 1;
            case "F", "*", "?" -> 0;
            default -> Double.parseDouble(text);
        };
    }

    private double of(double[] value, String channel, double otherwise) {
        int at = channels.indexOf(channel);
        return at < 0 ? otherwise : value[at];
    }

    private Stroke dressed(Element trace, List<Double> points) {
        Map<String, String> brush = new HashMap<>();
        if (brushes.containsKey(trace.getAttribute("brushRef"))) {
            elements(brushes.get(trace.getAttribute("brushRef")), "brushProperty")
                    .forEach(p -> brush.put(p.getAttribute("name"), p.getAttribute("value")));
        }
        Stroke.Tool tool = InkMl.THROUGH.equals(brush.get("rasterOp")) ? Stroke.Tool.HIGHLIGHTER : Stroke.Tool.PEN;
        try {
            return new Stroke(
                    UUID.randomUUID().toString(),
                    tool,
                    Double.parseDouble(brush.getOrDefault("width", "" + USUAL_WIDTH)),
                    nearest(brush.getOrDefault("color", "#000000")),
                    points);
        } catch (IllegalArgumentException beyond) {
            throw Problem.badRequest("A trace of this file cannot be drawn on a page.");
        }
    }

    /** The ink of ours that comes nearest to a colour. */
    private static InkColour nearest(String colour) {
        int rgb = colour.matches("#[0-9A-Fa-f]{6}") ? Integer.parseInt(colour.substring(1), 16) : 0;
        return Arrays.stream(InkColour.values())
                .min(Comparator.comparingInt(c -> distance(rgb, Integer.parseInt(c.hex(), 16))))
                .orElseThrow();
    }

    private static int distance(int a, int b) {
        int sum = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            int d = (a >> shift & 255) - (b >> shift & 255);
            sum += d * d;
        }
        return sum;
    }

    /**
     * Strokes that fit stay where they are; others are moved to the margin, and made smaller where they are too wide.
     */
    private static List<Stroke> fitted(List<Stroke> strokes) {
        double left = strokes.stream().mapToDouble(s -> least(s, 0)).min().orElse(0);
        double top = strokes.stream().mapToDouble(s -> least(s, 1)).min().orElse(0);
        double right = strokes.stream().mapToDouble(s -> -least(s, 0, -1)).max().orElse(0);
        if (left >= 0 && top >= 0 && right <= Stroke.PAGE_WIDTH) {
            return strokes;
        }
        double scale = Math.min(1, (Stroke.PAGE_WIDTH - 2 * MARGIN) / Math.max(1, right - left));
        return strokes.stream().map(s -> moved(s, left, top, scale)).toList();
    }

    private static double least(Stroke stroke, int field) {
        return least(stroke, field, 1);
    }

    private static double least(Stroke stroke, int field, int sign) {
        double least = Double.MAX_VALUE;
        for (int i = field; i < stroke.points().size(); i += Stroke.FIELDS) {
            least = Math.min(least, sign * stroke.points().get(i));
        }
        return least;
    }

    private static Stroke moved(Stroke s, double left, double top, double scale) {
        List<Double> points = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            points.addAll(List.of(
                    MARGIN + (s.x(i) - left) * scale, MARGIN + (s.y(i) - top) * scale, s.pressure(i), s.millis(i)));
        }
        return new Stroke(s.id(), s.tool(), s.width(), s.colour(), points);
    }
}
