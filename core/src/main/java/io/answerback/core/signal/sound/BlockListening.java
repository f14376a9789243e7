package io.answerback.core.signal.sound;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.format.BadFrame;
import io.answerback.core.signal.format.BlockReport;
import io.answerback.core.signal.format.LineBlock;
import java.util.ArrayList;
import java.util.List;

/// Listens for blocks of letters in a call.
final class BlockListening {
    private static final double ANOTHER_CALL_MILLIS = 3000;
    private static final double PAUSE_MILLIS = 15;
    private static final int MOST_SAID = 4;

    private BlockListening() {}

    static Recording in(float[] samples) {
        List<HeardTone> tones = ReceiverTones.ofBlocks(samples);
        List<BlockCharacters.Heard> characters = withoutNoise(new BlockCharacters(samples).heard());
        List<String> problems = new ArrayList<>(parity(characters));
        List<String> reports = new ArrayList<>();
        if (characters.isEmpty()) {
            problems.add("no blocks are heard");
        }
        for (List<BlockCharacters.Heard> call : apart(characters, ANOTHER_CALL_MILLIS)) {
            try {
                reports.addAll(BlockReport.texts(bytes(call)));
            } catch (BadFrame damaged) {
                problems.add(damaged.getMessage());
            }
        }
        if (tones.stream().anyMatch(tone -> tone.hertz() == Modem.REFUSAL_HERTZ)) {
            problems.add("the receiver refuses a block with " + Modem.REFUSAL_HERTZ + " Hz");
        }
        return new Recording(characters.stream().map(BlockListening::digit).toList(), tones, reports, problems);
    }

    private static List<String> parity(List<BlockCharacters.Heard> characters) {
        List<String> problems = new ArrayList<>();
        for (int i = 0; i < characters.size(); i++) {
            if (!characters.get(i).even()) {
                problems.add(Text.of(
                        "character %d (%02X) has the wrong parity",
                        i + 1, characters.get(i).value()));
            }
        }
        return problems.stream().limit(MOST_SAID).toList();
    }

    /// The characters of a block follow one another without a pause: fewer than the shortest block has are
    /// noise.
    private static List<BlockCharacters.Heard> withoutNoise(List<BlockCharacters.Heard> call) {
        return apart(call, PAUSE_MILLIS).stream()
                .filter(run -> run.size() > LineBlock.SHORTEST_BYTES)
                .flatMap(List::stream)
                .toList();
    }

    private static List<List<BlockCharacters.Heard>> apart(List<BlockCharacters.Heard> characters, double pauseMillis) {
        List<List<BlockCharacters.Heard>> runs = new ArrayList<>();
        for (BlockCharacters.Heard next : characters) {
            if (runs.isEmpty() || next.atMillis() - runs.getLast().getLast().endMillis() > pauseMillis) {
                runs.add(new ArrayList<>());
            }
            runs.getLast().add(next);
        }
        return runs;
    }

    private static byte[] bytes(List<BlockCharacters.Heard> characters) {
        byte[] bytes = new byte[characters.size()];
        for (int i = 0; i < bytes.length; i++) {
            bytes[i] = characters.get(i).value();
        }
        return bytes;
    }

    private static HeardDigit digit(BlockCharacters.Heard character) {
        char shown = (char) (character.value() & 0xFF);
        return new HeardDigit(
                shown >= ' ' && shown <= '~' ? shown : '·',
                character.atMillis(),
                character.endMillis() - character.atMillis(),
                character.levelDecibels(),
                0,
                0,
                0);
    }
}
