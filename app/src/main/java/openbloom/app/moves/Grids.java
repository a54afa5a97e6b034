package openbloom.app.moves;

import java.util.function.Supplier;
import openbloom.core.moves.Catalogue;
import openbloom.core.verdict.Grid;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** Facts against demands as the rule book has them: worked out once, when somebody first looks. */
@Component
public class Grids {
    private final Supplier<Grid> grid;

    Grids(Catalogue shipped) {
        this.grid = SingletonSupplier.of(() -> Grid.of(shipped));
    }

    public Grid get() {
        return grid.get();
    }
}
