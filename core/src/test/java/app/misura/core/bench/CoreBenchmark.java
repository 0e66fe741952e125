package app.misura.core.bench;

import app.misura.core.cut.Cuts;
import app.misura.core.cut.Cutting;
import app.misura.core.garment.Choices;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long the proof of the trousers form and a full draft take, warm, on one core. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class CoreBenchmark {
    private final Sheet honest = Sheets.of(Sheets.AVERAGE);
    private final Sheet slipped = Sheets.of(Sheets.AVERAGE.replace("S2=32.5", "S2=40"));
    private final Sheet suit = Sheets.suit(Sheets.SUIT, Map.of());
    private final Sheet torn = Sheets.suit(Sheets.SUIT.replace("D2=22_1/2", "D2=25"), Map.of());
    private final Proof proof = Proof.of(honest);
    private final Choices choices = Cuts.chosen("");

    @Benchmark
    public Proof proofOfAnHonestSheet() {
        return Proof.of(honest);
    }

    @Benchmark
    public Proof proofOfASheetWithASlip() {
        return Proof.of(slipped);
    }

    @Benchmark
    public Proof proofOfTheLargestForm() {
        return Proof.of(suit);
    }

    @Benchmark
    public Proof proofOfTheLargestFormWithASlip() {
        return Proof.of(torn);
    }

    @Benchmark
    public Cutting.Result fullTrousersDraft() {
        return Cutting.of(proof, Cuts.TROUSERS, choices);
    }
}
