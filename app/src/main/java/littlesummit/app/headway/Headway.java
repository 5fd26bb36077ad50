package littlesummit.app.headway;

/** Is told how far a long piece of work has come. */
@FunctionalInterface
public interface Headway {
    /** Nobody asks. */
    Headway UNTOLD = (doing, done, steps) -> {};

    /**
     * May be called as often as one likes.
     *
     * @param doing what is being done, such as “Reading the records”; at most 60 characters
     * @param done of the steps of this, none of them more than once
     * @param steps how many there are; 0 where that is not known
     */
    void at(String doing, long done, long steps);
}
