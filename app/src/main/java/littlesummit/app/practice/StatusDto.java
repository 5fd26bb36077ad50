package littlesummit.app.practice;

import littlesummit.core.practice.SkillMap;

/** What a skill is on the map, as it is sent; see {@link SkillMap.Status}. */
enum StatusDto {
    KNOWN,
    REFRESH,
    IN_PROGRESS,
    READY,
    LOCKED;

    static StatusDto of(SkillMap.Status core) {
        return switch (core) {
            case KNOWN -> KNOWN;
            case REFRESH -> REFRESH;
            case IN_PROGRESS -> IN_PROGRESS;
            case READY -> READY;
            case LOCKED -> LOCKED;
        };
    }
}
