package littlesummit.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import littlesummit.core.placement.Evidence;
import littlesummit.core.placement.Placement;
import littlesummit.core.placement.SkillOrder;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One step of the starting check, which skill to ask next, in a course of today's size and in one of 300 skills. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class CheckBench {
    private static final int ANSWERS = 10;
    private SkillOrder small;
    private SkillOrder large;
    private List<Evidence> smallEvidence;
    private List<Evidence> largeEvidence;

    @Setup
    public void make() {
        small = course(28);
        large = course(300);
        smallEvidence = evidence(small);
        largeEvidence = evidence(large);
    }

    /** Each skill builds on up to two of the ten before it, as in a real course. */
    private static SkillOrder course(int skills) {
        Random random = new Random(7);
        List<String> ids =
                IntStream.range(0, skills).mapToObj(i -> "skill-" + i).toList();
        List<List<Integer>> before = IntStream.range(0, skills)
                .mapToObj(i -> i == 0 || i % 9 == 0
                        ? List.<Integer>of()
                        : random.ints(2, Math.max(0, i - 10), i)
                                .distinct()
                                .boxed()
                                .toList())
                .toList();
        return SkillOrder.of(ids, before);
    }

    /** In the middle of a check. */
    private static List<Evidence> evidence(SkillOrder order) {
        List<Evidence> evidence = new ArrayList<>();
        Random random = new Random(11);
        for (int i = 0; i < ANSWERS; i++) {
            Evidence.Kind kind = random.nextBoolean() ? Evidence.Kind.RIGHT : Evidence.Kind.WRONG;
            evidence.add(new Evidence(random.nextInt(order.size()), kind, 0.02));
        }
        return evidence;
    }

    @Benchmark
    public Optional<Integer> nextOf28Skills() {
        return Placement.next(small, smallEvidence, 1);
    }

    @Benchmark
    public Optional<Integer> nextOf300Skills() {
        return Placement.next(large, largeEvidence, 1);
    }
}
