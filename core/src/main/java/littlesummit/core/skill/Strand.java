package littlesummit.core.skill;

/** Groups of skills. */
public enum Strand {
    NUMBERS("Numbers"), MEASURING("Measuring"), SHAPES("Shapes and angles"), FRACTIONS("Fractions and percent"), DATA("Data"),
    POWERS("Powers"), EQUATIONS("Equations"), FUNCTIONS("Expressions and functions");

    private final String title;

    Strand(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
