package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.site.Job;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.files.DataFiles;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.secret.KeyFile;
import io.answerback.files.secret.StationKeys;
import io.answerback.station.PracticeStation;
import io.answerback.station.StationRules;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Sending with the key that is kept on this computer, to a station that has the same.
class StoredKeysTest {
    private static final ReceiverId A1 = new ReceiverId("A1");
    private static final EncryptionKey KEY = EncryptionKey.of("00112233445566778899AABBCCDDEEFF");
    private static final String PHRASE = "kettle orbit maple";

    @TempDir
    Path folder;

    @BeforeEach
    void home() {
        System.setProperty("answerback.home", folder.toString());
    }

    @AfterEach
    void usual() {
        System.clearProperty("answerback.home");
    }

    private Path job(int port) throws Exception {
        Job demo = DemoJobs.job(1);
        Job there = ReceiverEdits.of(
                        A1, "address", its -> its.withHost("127.0.0.1").withPort(port))
                .on(demo);
        Job encrypted = ReceiverEdits.reception(A1, "encryption", its -> its.withKeyBits(128))
                .on(there);
        Path file = folder.resolve("x.answerback.json");
        JobFile.save(file, JobDocument.of(encrypted));
        return file;
    }

    private static Called send(Path job, String typed) {
        InputStream before = System.in;
        System.setIn(new ByteArrayInputStream((typed + "\n").getBytes(StandardCharsets.UTF_8)));
        try {
            return Called.of("send", job, "--point", "07", "--receiver", "A1", "--stored-keys", "--json");
        } finally {
            System.setIn(before);
        }
    }

    @Test
    void theKeptKeyOpensTheFrameAtTheStation() throws Exception {
        StationRules rules =
                StationRules.standard(new IpSignals(DataFiles.letters())).withKeys(account -> List.of(KEY));
        try (PracticeStation station = PracticeStation.listen(
                InetAddress.getLoopbackAddress(), 0, rules, InstantSource.system(), received -> {})) {
            Path job = job(station.address().getPort());
            Called none = send(job, PHRASE);
            assertThat(none.code()).isEqualTo(2);
            assertThat(none.err()).contains("No keys are kept on this computer yet");
            Job read = JobFile.open(job).job();
            KeyFile keys = KeyFile.begin(folder, PHRASE.toCharArray(), 1000);
            assertThat(send(job, PHRASE).err()).contains("takes a key of 128 bits");
            StationKeys.Place place = new StationKeys.Place(
                    read.receiver(A1).orElseThrow().name(),
                    read.areas().getFirst().account());
            keys.change(all -> all.keys(its -> its.with(place, KEY)));
            assertThat(send(job, "something else").err()).contains("does not open the keys");
            Called sent = send(job, PHRASE);
            assertThat(sent.code()).isZero();
            assertThat(sent.json().path("answer").asString()).isEqualTo("ACK");
            assertThat(sent.out() + sent.err()).doesNotContainIgnoringCase("00112233");
        }
    }
}
