package littlesummit.app.headway;

/**
 * How far a request has come.
 *
 * @param doing what is being done; empty for a request that has not begun, or has ended
 * @param done of the steps of this
 * @param steps how many there are; 0 where that is not known
 */
record HeadwayView(String doing, long done, long steps) {
    static final HeadwayView NONE = new HeadwayView("", 0, 0);
}
