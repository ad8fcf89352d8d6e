package io.inkwellsplit.weigh;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What the decoder finds is what trying every labelling finds. */
class SequenceDecoderTest {
    private static final int[] CLUES = {11, -5, 700, 12_345};

    private final int[][] clues = new int[8][];
    private final int[] joints = new int[8];

    @Property(tries = 300)
    void findsWhatTryingAllFinds(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 5) int tokens,
            @ForAll @IntRange(min = 2, max = 5) int labels) {
        Random random = new Random(seed);
        SequenceModel model = model(random, labels);
        SequenceDecoder decoder = decoder(model, random, tokens);
        List<int[]> all = all(tokens, labels);
        all.sort(Comparator.comparingInt((int[] path) -> score(model, path)).reversed());
        byte[] best = new byte[tokens];
        int score = decoder.best(best);
        assertThat(score).isEqualTo(score(model, all.get(0)));
        assertThat(score(model, ints(best))).isEqualTo(score);
        double sum = 0;
        for (int[] path : all) {
            sum += Math.exp((double) (score(model, path) - score) / SequenceModel.SCALE);
        }
        decoder.sumAll();
        assertThat(decoder.probability(score)).isCloseTo(1 / sum, within(2e-3));
    }

    @Property(tries = 200)
    void theShareOfSomeLabelsIsThatOfAllLabellingsThatHaveThem(
            @ForAll long seed,
            @ForAll @IntRange(min = 1, max = 5) int tokens,
            @ForAll @IntRange(min = 0, max = 15) int pinned) {
        Random random = new Random(seed);
        SequenceModel model = model(random, 4);
        SequenceDecoder decoder = decoder(model, random, tokens);
        byte[] best = new byte[tokens];
        int top = decoder.best(best);
        decoder.sumAll();
        double sum = 0;
        double like = 0;
        for (int[] path : all(tokens, 4)) {
            double weight = Math.exp((double) (score(model, path) - top) / SequenceModel.SCALE);
            sum += weight;
            like += isLike(path, best, pinned) ? weight : 0;
        }
        assertThat(decoder.share(best, pinned)).isCloseTo(like / sum, within(2e-3));
        assertThat(decoder.share(best, 0)).isCloseTo(1, within(2e-3));
        assertThat(decoder.share(best, 15)).isCloseTo(decoder.probability(top), within(2e-3));
    }

    @Property(tries = 100)
    void tellsHowProbableItIsWithoutALabel(@ForAll long seed, @ForAll @IntRange(min = 0, max = 15) int first) {
        Random random = new Random(seed);
        SequenceModel model = model(random, 4);
        SequenceDecoder decoder = decoder(model, random, 3);
        int top = decoder.best(new byte[3]);
        decoder.sumAll();
        int[] shut = {first, 0, 8};
        double sum = 0;
        double without = 0;
        for (int[] path : all(3, 4)) {
            double weight = Math.exp((double) (score(model, path) - top) / SequenceModel.SCALE);
            sum += weight;
            without += (1 << path[0] & first) == 0 && path[2] != 3 ? weight : 0;
        }
        assertThat(decoder.shareWithout(shut)).isCloseTo(without / sum, within(2e-3));
        assertThat(decoder.shareWithout(new int[3])).isCloseTo(1, within(2e-3));
    }

    private static boolean isLike(int[] path, byte[] best, int pinned) {
        for (int token = 0; token < path.length; token++) {
            boolean counts = (1 << path[token] & pinned) != 0 || (1 << best[token] & pinned) != 0;
            if (counts && path[token] != best[token]) {
                return false;
            }
        }
        return true;
    }

    @Property(tries = 100)
    void theNextBestFollowInTheirOrder(@ForAll long seed, @ForAll @IntRange(min = 2, max = 4) int tokens) {
        Random random = new Random(seed);
        SequenceModel model = model(random, 3);
        SequenceDecoder decoder = decoder(model, random, tokens);
        List<Integer> wanted = all(tokens, 3).stream()
                .map(path -> score(model, path))
                .sorted(Comparator.reverseOrder())
                .limit(4)
                .toList();
        int least = decoder.best(new byte[tokens]) - 4 * SequenceModel.SCALE;
        List<SequenceDecoder.Path> found = decoder.nBest(4);
        assertThat(found)
                .extracting(SequenceDecoder.Path::score)
                .filteredOn(score -> score >= least)
                .isEqualTo(wanted.stream().filter(score -> score >= least).toList());
        assertThat(found).allSatisfy(path -> assertThat(score(model, ints(path.labels())))
                .isEqualTo(path.score()));
        assertThat(decoder.orderOf(found.get(0).labels())
                        + own(model, ints(found.get(0).labels())))
                .isEqualTo(found.get(0).score());
    }

    @Property(tries = 100)
    void whatIsForbiddenIsNotFound(@ForAll long seed) {
        Random random = new Random(seed);
        SequenceDecoder decoder = decoder(model(random, 4), random, 4);
        byte[] before = new byte[4];
        int score = decoder.best(before);
        decoder.add(2, before[2], SequenceModel.NEVER);
        byte[] other = new byte[4];
        assertThat(decoder.best(other)).isLessThanOrEqualTo(score);
        assertThat(other[2]).isNotEqualTo(before[2]);
        decoder.add(2, before[2], -SequenceModel.NEVER);
        assertThat(decoder.best(other)).isEqualTo(score);
    }

    @Property(tries = 50)
    void whatIsRememberedStaysUntilSomethingElseTakesItsPlace(@ForAll long seed) {
        Random random = new Random(seed);
        SequenceDecoder decoder = decoder(model(random, 5), random, 1);
        byte[] path = new byte[1];
        int[][] kept = new int[40][];
        for (int times = 0; times < 400; times++) {
            int one = random.nextInt(kept.length);
            long alike = (long) one << 30 | 1L << 62 | one % 7 << 8;
            if (kept[one] == null) {
                assertThat(decoder.remembers(alike)).as("never seen").isFalse();
                kept[one] = random.ints(3, 0, CLUES.length).map(i -> CLUES[i]).toArray();
            }
            if (!decoder.remembers(alike)) {
                decoder.remember(alike, kept[one], 0, 3);
            }
            decoder.token(0, 0, alike, kept[one], 1, 2);
            int again = decoder.best(path);
            decoder.remember(0x700, kept[one], 0, 0);
            decoder.token(0, 0, 0x700, new int[] {kept[one][0], kept[one][1], kept[one][2], kept[one][1]}, 0, 4);
            assertThat(again).isEqualTo(decoder.best(path));
        }
    }

    @Property(tries = 50)
    void aModelIsWrittenAndReadAlike(@ForAll long seed) {
        SequenceModel model = model(new Random(seed), 5);
        byte[] bytes = model.toBytes();
        SequenceModel again = SequenceModel.of(bytes, "again");
        assertThat(again.toBytes()).isEqualTo(bytes);
        for (int clue : CLUES) {
            for (int label = 0; label < 5; label++) {
                assertThat(again.weight(clue, label)).isEqualTo(model.weight(clue, label));
            }
        }
    }

    @Test
    void refusesWhatIsNoModel() {
        assertThatThrownBy(() -> SequenceModel.of("a text, not a model".getBytes(UTF_8), "clues.bin"))
                .hasMessage("clues.bin is no model");
        byte[] bytes = model(new Random(1), 3).toBytes();
        byte[] half = Arrays.copyOf(bytes, bytes.length / 2);
        assertThatThrownBy(() -> SequenceModel.of(half, "clues.bin")).hasMessage("clues.bin is no whole model");
        int[] none = new int[2];
        assertThatThrownBy(() -> new SequenceModel(
                        2, new int[] {7, 7}, new byte[4], new int[SequenceModel.JOINTS * 4], none, none))
                .hasMessage("the clue 7 is none, or stands twice");
    }

    private static SequenceModel model(Random random, int labels) {
        byte[] rows = new byte[CLUES.length * labels];
        for (int i = 0; i < rows.length; i++) {
            rows[i] = (byte) (random.nextInt(121) - 60);
        }
        int[] transitions =
                random.ints(SequenceModel.JOINTS * labels * labels, -60, 61).toArray();
        return new SequenceModel(
                labels,
                CLUES,
                rows,
                transitions,
                random.ints(labels, -60, 61).toArray(),
                random.ints(labels, -60, 61).toArray());
    }

    private SequenceDecoder decoder(SequenceModel model, Random random, int tokens) {
        SequenceDecoder decoder = new SequenceDecoder(model);
        decoder.start(tokens);
        for (int token = 0; token < tokens; token++) {
            // 99 is a clue that the model does not know.
            clues[token] = new int[] {0, CLUES[random.nextInt(CLUES.length)], 99, CLUES[random.nextInt(CLUES.length)]};
            joints[token] = random.nextInt(SequenceModel.JOINTS);
            decoder.remember(token, clues[token], 0, 2);
            decoder.token(token, joints[token], token, clues[token], 2, clues[token].length);
        }
        return decoder;
    }

    private int score(SequenceModel model, int[] path) {
        int score = model.starts[path[0]] + model.ends[path[path.length - 1]];
        for (int token = 1; token < path.length; token++) {
            score += model.transition(joints[token], path[token - 1], path[token]);
        }
        return score + own(model, path);
    }

    private int own(SequenceModel model, int[] path) {
        int score = 0;
        for (int token = 0; token < path.length; token++) {
            for (int clue : clues[token]) {
                score += model.weight(clue, path[token]);
            }
        }
        return score;
    }

    private static List<int[]> all(int tokens, int labels) {
        List<int[]> all = new ArrayList<>();
        for (int number = 0; number < Math.pow(labels, tokens); number++) {
            int[] path = new int[tokens];
            int rest = number;
            for (int token = 0; token < tokens; token++) {
                path[token] = rest % labels;
                rest /= labels;
            }
            all.add(path);
        }
        return all;
    }

    private static int[] ints(byte[] labels) {
        int[] ints = new int[labels.length];
        Arrays.setAll(ints, i -> labels[i]);
        return ints;
    }
}
