package littlesummit.core.curriculum;

/**
 * A group of skills, a region of the map.
 *
 * @param id lower case with hyphens
 * @param title as a student reads it
 */
public record Strand(String id, String title) {}
