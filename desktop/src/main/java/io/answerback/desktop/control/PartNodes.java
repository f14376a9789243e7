package io.answerback.desktop.control;

import io.answerback.desktop.paper.PagesView;
import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Entry;
import io.answerback.desktop.part.Fixed;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Glyph;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Line;
import io.answerback.desktop.part.Marked;
import io.answerback.desktop.part.Pages;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Photo;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Secret;
import io.answerback.desktop.part.Slide;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tile;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.theme.Look;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/// Draws each sort of part with its node: makes one, and fits one that is there to another part of the same sort.
final class PartNodes {
    private final Look look;
    private final Panes panes;

    PartNodes(Look look) {
        this.look = look;
        this.panes = new Panes(look, this);
    }

    Node make(Part part) {
        return switch (part) {
            case Text text -> Labels.make(text);
            case Marked mark -> new MarkGlyph();
            case Value value -> new ValueField();
            case Entry entry -> new EntryField();
            case Line line -> new LineField();
            case Tile tile -> new TileRow();
            case Glyph glyph -> new GlyphSquare();
            case Secret secret -> new SecretField();
            case Choice choice -> new ChoiceField();
            case Switch choice -> new SwitchBar();
            case Tool tool -> Labels.make(tool);
            case Press press -> panes.make(press);
            case Card card -> new KeyCard();
            case Check check -> new CheckBox();
            case Gauge gauge -> new GaugeBar();
            case Group group -> panes.make(group);
            case Grid grid -> panes.make(grid);
            case Rows rows -> new RowList(look, this);
            case Drawn drawn -> new PictureView(look, this);
            case Pages pages -> new PagesView(look);
            case Photo photo -> new PhotoView();
            case Slide slide -> new SlideBar();
            case Fixed fixed -> (Node) fixed.node();
            case With with -> throw new IllegalArgumentException("a part is dressed once: " + with);
        };
    }

    void fit(Node node, Part part) {
        switch (part) {
            case Text text -> Labels.fit((Label) node, text);
            case Marked mark -> ((MarkGlyph) node).show(mark.mark(), mark.says(), look.px(mark.radius()));
            case Value value -> ((ValueField) node).show(value.name(), value.text(), value.wraps(), value.take());
            case Entry entry -> ((EntryField) node).show(entry);
            case Line line -> ((LineField) node).show(line);
            case Tile tile -> panes.fit((TileRow) node, tile);
            case Glyph glyph -> ((GlyphSquare) node).show(glyph.outline(), look.px(glyph.size()));
            case Secret secret -> ((SecretField) node).show(secret);
            case Choice choice ->
                ((ChoiceField) node)
                        .show(choice.name(), choice.shown(), choice.options(), choice.chosen(), choice.take());
            case Switch its -> ((SwitchBar) node).show(its.name(), its.named(), its.positions(), its.on(), its.turn());
            case Tool tool -> Labels.fit((ButtonBase) node, tool);
            case Press press -> panes.fit((PressRow) node, press);
            case Card card -> panes.fit((KeyCard) node, card);
            case Check check -> fit((CheckBox) node, check);
            case Gauge gauge -> ((GaugeBar) node).show(gauge.shareThere(), gauge.shareUsed(), gauge.says());
            case Group group -> panes.fit((Pane) node, group);
            case Grid grid -> panes.fit((Pane) node, grid);
            case Rows rows -> ((RowList) node).show(rows);
            case Drawn drawn -> ((PictureView) node).show(drawn.picture());
            case Pages pages -> ((PagesView) node).show(pages);
            case Photo photo -> ((PhotoView) node).show(photo, look.px(photo.widest()));
            case Slide slide -> fit((SlideBar) node, slide);
            case Fixed fixed -> {}
            case With with -> throw new IllegalArgumentException("a part is dressed once: " + with);
        }
    }

    private static void fit(CheckBox box, Check check) {
        box.setText(check.name());
        box.setSelected(check.on());
        box.setMinWidth(Region.USE_PREF_SIZE);
        box.setOnAction(click -> check.turn().accept(box.isSelected()));
    }

    private void fit(SlideBar bar, Slide slide) {
        bar.show(slide.name(), slide.least(), slide.most(), slide.value());
        bar.width(look.px(slide.width()));
        bar.takes(slide.moved(), slide.back());
        Slide.Stretch stretch = slide.stretch().orElse(new Slide.Stretch(1, 0));
        bar.stretch(slide.stretch().isPresent(), stretch.givesAt(), stretch.planned());
    }
}
