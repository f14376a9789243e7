package io.answerback.command;

import io.answerback.files.OwnerOnly;
import io.answerback.files.folder.AppFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/// The fingerprint of the certificate that the stand-in mail server of this computer shows while it runs, so
/// that a mail to it from this computer needs no question.
final class StandInCertificate {
    private static final String NAME = "stand-in-mail-";

    private StandInCertificate() {}

    private static Path file(int port) {
        return AppFolder.find().resolve(NAME + port + ".sha256");
    }

    /// Keeps it for as long as the stand-in runs.
    static void keep(int port, String fingerprint) throws IOException {
        OwnerOnly.folder(AppFolder.find());
        Files.writeString(file(port), fingerprint);
        file(port).toFile().deleteOnExit();
    }

    /// That of the stand-in at a port of this computer; empty where none runs there.
    static Optional<String> of(String host, int port) {
        boolean here = host.equals("localhost") || host.startsWith("127.");
        try {
            return here && Files.exists(file(port))
                    ? Optional.of(Files.readString(file(port)).strip()).filter(its -> its.matches("[0-9a-f]{64}"))
                    : Optional.empty();
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }
}
