package littlesummit.app.exchange.qti;

import java.util.LinkedHashMap;
import java.util.Map;
import littlesummit.app.exchange.SceneSvg;
import littlesummit.app.exchange.xml.Node;
import littlesummit.core.figure.Scene;

/** The pictures of an item, as files of their own beside it. */
final class Pictures {
    private final String item;
    private final Map<String, String> files = new LinkedHashMap<>();

    /** @param item name of the item, with which the names of its pictures begin */
    Pictures(String item) {
        this.item = item;
    }

    /** A new last child of a node that shows a scene. */
    Node show(Node parent, Scene scene) {
        return parent.child("img")
                .with("src", "../" + file(scene))
                .with("alt", scene.alt())
                .with("width", Math.round(scene.width()))
                .with("height", Math.round(scene.height()));
    }

    /** @return path from the root of the package */
    private String file(Scene scene) {
        String svg = SceneSvg.of(scene);
        return files.entrySet().stream()
                .filter(known -> known.getValue().equals(svg))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseGet(() -> {
                    String path = "pictures/" + item + "-" + (files.size() + 1) + ".svg";
                    files.put(path, svg);
                    return path;
                });
    }

    /** Their content by path. */
    Map<String, String> files() {
        return Map.copyOf(files);
    }
}
