package littlesummit.bench;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Parser;
import org.matheclipse.core.eval.ExprEvaluator;
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

/**
 * Grading the public cases, and the same equalities decided by a general-purpose computer algebra library, in one run.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 2, time = 2)
@Fork(value = 3, jvmArgsAppend = "--enable-native-access=ALL-UNNAMED")
public class GradingBench {
    private List<Cases.Case> all;
    private List<Cases.Case> equalities;
    private List<String> questions;
    private ExprEvaluator library;
    private int next;

    @Setup
    public void load() {
        Cases cases = Cases.read(Path.of(System.getProperty("cases", "../shared/cases/grading-public.jsonl")));
        all = cases.all();
        equalities = cases.equalities().all();
        questions = equalities.stream()
                .map(c -> "Together[Expand[(" + text(c.spec(), c.spec().expected()) + ")-(" + text(c.spec(), c.entry())
                        + ")]]")
                .toList();
        library = new ExprEvaluator(false, (short) 1);
    }

    private static String text(AnswerSpec spec, String entry) {
        Expr expr = Parser.expr(entry, spec.syntax());
        return LibraryText.of(expr);
    }

    @Benchmark
    public Verdict gradeAnyCase() {
        Cases.Case c = all.get(next++ % all.size());
        return Grader.grade(c.spec(), c.entry());
    }

    @Benchmark
    public Verdict gradeAnEquality() {
        Cases.Case c = equalities.get(next++ % equalities.size());
        return Grader.grade(c.spec(), c.entry());
    }

    @Benchmark
    public boolean libraryDecidesAnEquality() {
        return library.eval(questions.get(next++ % questions.size())).isZero();
    }
}
