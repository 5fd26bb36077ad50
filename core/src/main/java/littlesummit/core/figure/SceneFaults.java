package littlesummit.core.figure;

import java.util.ArrayList;
import java.util.List;

/**
 * Says what is wrong with a scene: what leaves the picture, and which labels or rooms for fields lie on one another.
 */
public final class SceneFaults {
    private SceneFaults() {}

    private record Named(String what, Box box) {}

    /** @return a sentence a fault; none for a scene as it should be */
    public static List<String> of(Scene scene) {
        List<String> faults = new ArrayList<>();
        if (scene.alt().isBlank()) {
            faults.add("The picture is not described in words.");
        }
        scene.shapes().stream()
                .filter(shape -> !scene.bounds().holds(shape.bounds()))
                .forEach(shape -> faults.add(shape + " leaves the picture."));
        scene.spots().stream()
                .filter(spot -> !scene.bounds().holds(spot.bounds()))
                .forEach(spot -> faults.add(spot + " leaves the picture."));
        apart(
                scene.shapes().stream()
                        .filter(Shape.Text.class::isInstance)
                        .map(Shape.Text.class::cast)
                        .map(t -> new Named("“" + t.text() + "”", t.bounds()))
                        .toList(),
                faults);
        apart(
                scene.spots().stream()
                        .filter(s -> s.kind() == Spot.Kind.FIELD)
                        .map(s -> new Named("the field " + s.id(), s.bounds()))
                        .toList(),
                faults);
        return faults;
    }

    private static void apart(List<Named> all, List<String> faults) {
        for (int i = 0; i < all.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (all.get(i).box().overlaps(all.get(j).box())) {
                    faults.add(all.get(i).what() + " lies on " + all.get(j).what() + ".");
                }
            }
        }
    }
}
