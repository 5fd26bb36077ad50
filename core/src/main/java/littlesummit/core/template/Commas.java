package littlesummit.core.template;

import java.util.ArrayList;
import java.util.List;

/** A line cut at its commas, but not at those within brackets. */
final class Commas {
    private Commas() {}

    static List<String> split(String text) {
        List<String> parts = new ArrayList<>();
        int depth = 0;
        int start = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            depth += c == '(' || c == '[' || c == '{' ? 1 : c == ')' || c == ']' || c == '}' ? -1 : 0;
            if (c == ',' && depth == 0) {
                parts.add(text.substring(start, i).strip());
                start = i + 1;
            }
        }
        parts.add(text.substring(start).strip());
        return parts;
    }
}
