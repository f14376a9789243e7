package io.answerback.core.model.site;

/// What a drawing says about itself beside its date.
///
/// @param firm the firm that made it; empty while not given
/// @param revision the drawings' revision, such as "B"; empty while not given
public record TitleBlock(String firm, String revision) {
    /// Nothing given.
    public static final TitleBlock EMPTY = new TitleBlock("", "");

    /// @throws IllegalArgumentException when the firm has more than 80 characters or the revision more than 12
    public TitleBlock {
        firm = firm == null ? "" : firm.strip();
        revision = revision == null ? "" : revision.strip();
        if (firm.length() > 80 || revision.length() > 12) {
            throw new IllegalArgumentException(
                    "a drawing has room for 80 characters of the firm's name and 12 of the revision; write it shorter");
        }
    }
}
