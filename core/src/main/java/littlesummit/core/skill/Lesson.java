package littlesummit.core.skill;

/** A guided lesson. Its items are made and graded like those of a skill. */
public interface Lesson extends Skill {
    /** Id of the skill that is practised afterwards. */
    String teaches();
}
