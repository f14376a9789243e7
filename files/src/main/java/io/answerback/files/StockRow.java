package io.answerback.files;

import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.paper.LabelStock;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;

/// How a row of a table becomes a type of cable or a sheet of labels. What is wrong with a cell is an
/// [IllegalArgumentException] that names its column.
final class StockRow {
    private final UnaryOperator<String> cells;

    /// @param cells the cell in a column; empty where the table has no such column
    StockRow(UnaryOperator<String> cells) {
        this.cells = cells;
    }

    /// @param known the conductors that need no resistance of their own
    CableType cableType(List<Conductor> known) {
        return new CableType(
                cell("id"),
                cell("name"),
                conductor(known),
                Arrays.stream(cell("cores").split("\\|"))
                        .map(String::strip)
                        .filter(colour -> !colour.isEmpty())
                        .toList(),
                yes("screened"),
                yes("outdoor"),
                cell("nf_per_km").isEmpty() ? 0 : number("nf_per_km"));
    }

    LabelStock labelStock() {
        return new LabelStock(
                cell("id"),
                cell("name"),
                number("page_width"),
                number("page_height"),
                number("left"),
                number("top"),
                number("label_width"),
                number("label_height"),
                number("step_x"),
                number("step_y"),
                whole("columns"),
                whole("rows"));
    }

    private String cell(String column) {
        return cells.apply(column).strip();
    }

    private Conductor conductor(List<Conductor> known) {
        String name = cell("conductor");
        if (!cell("ohms_per_kilometre").isEmpty()) {
            return new Conductor(name, number("ohms_per_kilometre"));
        }
        List<String> names = known.stream().map(Conductor::name).toList();
        return known.stream()
                .filter(conductor -> conductor.name().equals(name))
                .findFirst()
                .orElseThrow(() -> wrong(
                        "conductor",
                        "is none of %s; give its resistance in a column ohms_per_kilometre"
                                .formatted(String.join(", ", names))));
    }

    private double number(String column) {
        try {
            return Double.parseDouble(cell(column).replace(',', '.'));
        } catch (NumberFormatException wordy) {
            throw wrong(column, "is no number");
        }
    }

    private int whole(String column) {
        double number = number(column);
        if (number != Math.rint(number)) {
            throw wrong(column, "is no whole number");
        }
        return (int) number;
    }

    private boolean yes(String column) {
        return switch (cell(column).toLowerCase(Locale.ROOT)) {
            case "1", "yes" -> true;
            case "0", "no", "" -> false;
            default -> throw wrong(column, "is neither yes nor no");
        };
    }

    private IllegalArgumentException wrong(String column, String why) {
        return new IllegalArgumentException("column %s: \"%s\" %s".formatted(column, cell(column), why));
    }
}
