package littlesummit.core.skill.lesson;

import java.util.List;
import java.util.Optional;

/** Every guided lesson that there is. */
public final class Lessons {
    private static final List<Lesson> ALL = List.of(new PercentPartsLesson(), new PercentDiscountLesson(), new FractionPictureLesson(),
            new FractionLowestLesson(), new AnglePairsLesson(), new BinomialExpandLesson());

    private Lessons() {}

    public static List<Lesson> all() {
        return ALL;
    }

    public static Optional<Lesson> find(String id) {
        return ALL.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    /** The lesson that leads to a skill. */
    public static Optional<Lesson> teaching(String skillId) {
        return ALL.stream().filter(l -> l.teaches().equals(skillId)).findFirst();
    }
}
