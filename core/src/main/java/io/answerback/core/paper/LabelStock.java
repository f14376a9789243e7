package io.answerback.core.paper;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;

/// Labels as they are bought: on a sheet in rows and columns, or as a narrow tape with one after the other.
///
/// @param id its name in data files
/// @param name its name on screen
/// @param pageWidth how wide the sheet or the tape's page is, in millimetres
/// @param pageHeight how high, in millimetres
/// @param left where the first label begins from the left, in millimetres
/// @param top where it begins from above, in millimetres
/// @param labelWidth how wide a label is, in millimetres
/// @param labelHeight how high, in millimetres
/// @param stepX from one label's left edge to the next one's, in millimetres
/// @param stepY from one label's upper edge to the next one's, in millimetres
/// @param columns labels side by side
/// @param rows labels one above the other
public record LabelStock(
        String id,
        String name,
        double pageWidth,
        double pageHeight,
        double left,
        double top,
        double labelWidth,
        double labelHeight,
        double stepX,
        double stepY,
        int columns,
        int rows) {
    /// @throws IllegalArgumentException when a figure is out of bounds or the labels do not fit on their page
    public LabelStock {
        id = Require.text(id, "id of a label sheet");
        name = Require.text(name, "name of label sheet " + id);
        Require.within(columns, 1, 50, "columns of label sheet " + id);
        Require.within(rows, 1, 100, "rows of label sheet " + id);
        Require.within(pageWidth, 5, 1000, Text.of("page width of label sheet %s in millimetres", id));
        Require.within(pageHeight, 4, 1000, Text.of("page height of label sheet %s in millimetres", id));
        Require.within(left, 0, pageWidth, Text.of("left edge of label sheet %s in millimetres", id));
        Require.within(top, 0, pageHeight, Text.of("upper edge of label sheet %s in millimetres", id));
        Require.within(labelWidth, 5, pageWidth, "width of a label of " + id + " in millimetres");
        Require.within(labelHeight, 4, pageHeight, "height of a label of " + id + " in millimetres");
        Require.within(stepX, 0, pageWidth, Text.of("step across label sheet %s in millimetres", id));
        Require.within(stepY, 0, pageHeight, Text.of("step down label sheet %s in millimetres", id));
        Require.within(
                left + (columns - 1) * stepX + labelWidth,
                0,
                pageWidth + 0.01,
                "labels of " + id + " side by side, mm");
        Require.within(
                top + (rows - 1) * stepY + labelHeight, 0, pageHeight + 0.01, "labels of " + id + " in a column, mm");
    }

    /// How many are on a page.
    public int onPage() {
        return columns * rows;
    }
}
