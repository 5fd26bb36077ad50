package littlesummit.app.printing;

import java.util.ArrayList;
import java.util.List;

/** A piece of a text of ours: plain, or LaTeX that stood between $ signs. A currency sign is written {@code \$}. */
public record TextPiece(String text, boolean math) {
    public static List<TextPiece> of(String text) {
        List<TextPiece> pieces = new ArrayList<>();
        StringBuilder current = new StringBuilder();
        boolean math = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '\\' && !math && i + 1 < text.length() && text.charAt(i + 1) == '$') {
                current.append('$');
                i++;
            } else if (c == '$') {
                add(pieces, current, math);
                math = !math;
            } else {
                current.append(c);
            }
        }
        add(pieces, current, math);
        return pieces;
    }

    private static void add(List<TextPiece> pieces, StringBuilder current, boolean math) {
        if (!current.isEmpty()) {
            pieces.add(new TextPiece(current.toString(), math));
            current.setLength(0);
        }
    }
}
