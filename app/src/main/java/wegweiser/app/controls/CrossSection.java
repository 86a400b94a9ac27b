package wegweiser.app.controls;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.model.CableStock;

/** A cable cut across: sheath, screen, conductors in their colours; those in use have a heavy outline. */
public final class CrossSection extends Pane {
    private static final double SIZE = 108;

    public CrossSection() {
        setMinSize(SIZE, SIZE);
        setMaxSize(SIZE, SIZE);
    }

    /** Shows a cable; nothing when none is chosen. */
    public void show(Optional<CableStock> stock, Set<String> used) {
        getChildren().clear();
        if (stock.isEmpty()) {
            return;
        }
        if (stock.get().flat()) {
            flat(stock.get().conductors(), used);
        } else {
            round(stock.get(), used);
        }
    }

    /** Side by side, as they lie in a ribbon. */
    private void flat(List<String> all, Set<String> used) {
        double pitch = Math.min((SIZE - 4) / all.size(), 13);
        double radius = pitch / 2;
        double left = (SIZE - pitch * all.size()) / 2;
        Rectangle sheath = new Rectangle(left - 2, SIZE / 2 - radius - 2, pitch * all.size() + 4, pitch + 4);
        sheath.setArcWidth(pitch + 4);
        sheath.setArcHeight(pitch + 4);
        sheath.getStyleClass().add("section-sheath");
        getChildren().add(sheath);
        for (int k = 0; k < all.size(); k++) {
            wire(all.get(k), left + pitch * (k + 0.5), SIZE / 2, radius * 0.8, used);
        }
    }

    private void round(CableStock stock, Set<String> used) {
        double middle = SIZE / 2;
        Circle sheath = new Circle(middle, middle, middle - 2);
        sheath.getStyleClass().add("section-sheath");
        Circle inside = new Circle(middle, middle, middle - 10);
        inside.getStyleClass().add(stock.isScreened() ? "section-screen" : "section-inside");
        getChildren().addAll(sheath, inside);
        // twisted pairs lie together
        List<List<String>> units = new ArrayList<>();
        for (String conductor : stock.conductors()) {
            if (units.stream().noneMatch(u -> u.contains(conductor))) {
                units.add(
                        stock.partner(conductor).map(p -> List.of(conductor, p)).orElse(List.of(conductor)));
            }
        }
        double ring = units.size() == 1 ? 0 : middle - 28;
        double room = Math.PI * (ring + 4) / units.size() * 0.85;
        double radius = Math.clamp(units.stream().anyMatch(u -> u.size() > 1) ? room / 1.7 : room, 3, 11);
        for (int k = 0; k < units.size(); k++) {
            double angle = 2 * Math.PI * k / units.size() - Math.PI / 2;
            double x = middle + ring * Math.cos(angle);
            double y = middle + ring * Math.sin(angle);
            List<String> unit = units.get(k);
            for (int half = 0; half < unit.size(); half++) {
                double off = unit.size() == 1 ? 0 : (2 * half - 1) * radius;
                wire(unit.get(half), x - off * Math.sin(angle), y + off * Math.cos(angle), radius, used);
            }
        }
    }

    private void wire(String conductor, double x, double y, double radius, Set<String> used) {
        List<String> hex = ColourCode.hex(conductor);
        Circle wire = new Circle(x, y, radius);
        wire.setFill(hex.isEmpty() ? Color.web("#B9B6AE") : Color.web(hex.getFirst()));
        wire.getStyleClass().add(used.contains(conductor) ? "section-used" : "section-wire");
        getChildren().add(wire);
        if (hex.size() > 1) {
            Rectangle stripe = new Rectangle(x - radius * 0.9, y - radius / 4, radius * 1.8, radius / 2);
            stripe.setFill(Color.web(hex.get(1)));
            getChildren().add(stripe);
        }
    }
}
