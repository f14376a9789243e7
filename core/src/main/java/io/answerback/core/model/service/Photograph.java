package io.answerback.core.model.service;

import io.answerback.core.model.common.Require;
import java.time.Instant;
import java.util.Optional;

/// A photograph that is kept beside the job file, never in it.
///
/// @param file its name in the folder of photographs
/// @param of what is on it, such as the name of a box or the number of a point
/// @param takenAt when it was taken; empty where the picture does not say, or the rules have it removed
/// @param latitude where, in degrees north; empty where it is not kept
/// @param longitude where, in degrees east; empty where it is not kept
/// @param fingerprint the SHA-256 of the file, as 64 hexadecimal digits, so that another picture is noticed
public record Photograph(
        String file,
        String of,
        Optional<Instant> takenAt,
        Optional<Double> latitude,
        Optional<Double> longitude,
        String fingerprint) {
    /// @throws IllegalArgumentException when its name is blank or a path, nothing is said to be on it, or a place is
    ///     out of bounds
    public Photograph {
        file = Require.text(file, "file of a photograph");
        if (file.contains("/") || file.contains("\\") || file.startsWith(".")) {
            throw new IllegalArgumentException("the file of a photograph is a name without a folder, not " + file);
        }
        of = Require.text(of, "what is on photograph " + file);
        takenAt = takenAt == null ? Optional.empty() : takenAt;
        latitude = latitude == null ? Optional.empty() : latitude;
        longitude = longitude == null ? Optional.empty() : longitude;
        latitude.ifPresent(degrees -> Require.within(degrees, -90, 90, "latitude of a photograph in degrees"));
        longitude.ifPresent(degrees -> Require.within(degrees, -180, 180, "longitude of a photograph in degrees"));
        fingerprint = Require.text(fingerprint, "fingerprint of photograph " + file);
    }
}
