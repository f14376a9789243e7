package io.answerback.core.model.unit;

import io.soabase.recordbuilder.core.RecordBuilder;

/// What tells one communicator from every other of its make.
///
/// @param hardwareNumber the number on its label, by which the station and the network know it; empty while not
///     read
/// @param firmware what its software is called; empty while not read
/// @param label the file with the photograph of its label, beside the job; empty for none
@RecordBuilder
public record Identity(String hardwareNumber, String firmware, String label) implements IdentityBuilder.With {
    /// Nothing read yet.
    public static final Identity UNREAD = new Identity("", "", "");

    private static final int LONGEST = 120;

    /// @throws IllegalArgumentException when a text has more than 120 letters, or the photograph is not a plain
    ///     file name
    public Identity {
        hardwareNumber = text(hardwareNumber, "hardware number");
        firmware = text(firmware, "firmware");
        label = text(label, "photograph of the label");
        if (label.contains("/") || label.contains("\\") || label.startsWith("..")) {
            throw new IllegalArgumentException(
                    "photograph of the label is \"" + label + "\"; it is a file in the folder of the job");
        }
    }

    static String text(String text, String what) {
        String bare = text == null ? "" : text.strip();
        if (bare.length() > LONGEST) {
            throw new IllegalArgumentException(what + " has " + bare.length() + " letters; it has 120 at most");
        }
        return bare;
    }
}
