package app.misura.web.order;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The number that was given last. There is one row of it. */
@Entity
@Table(name = "order_number")
class OrderNumberEntity {
    static final int ROW = 1;

    @Id
    int id;

    int given;

    protected OrderNumberEntity() {}

    int next() {
        return ++given;
    }
}
