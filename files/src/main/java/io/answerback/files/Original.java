package io.answerback.files;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// A job's document as it was read, which may have fields that this version does not know.
public final class Original {
    private final JsonNode read;
    private final JsonNode known;
    private ObjectNode rewritten;
    private boolean whollyKnown;

    /// @param read the document as it was read
    /// @param known what of it this version reads
    Original(JsonNode read, JsonNode known) {
        this.read = read;
        this.known = known;
    }

    /// Adds to a document that is about to be written what this version does not know.
    void carryUnknown(ObjectNode now) {
        ObjectNode written = rewritten();
        if (!whollyKnown) {
            UnknownFields.carry(read, written, now);
        }
    }

    /// The document as this version would write it: made once, since unsaved edits are written every quarter of
    /// a second.
    private synchronized ObjectNode rewritten() {
        if (rewritten == null) {
            rewritten = JobCodec.tree(JobCodec.job(known));
            whollyKnown = rewritten.equals(read);
        }
        return rewritten;
    }
}
