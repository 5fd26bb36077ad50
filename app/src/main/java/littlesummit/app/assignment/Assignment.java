package littlesummit.app.assignment;

import java.time.Instant;
import java.util.List;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;

/** @param skills ids, in the order in which they are worked */
public record Assignment(String id, String title, List<String> skills, Target target, Policy policy, Instant due) {}
