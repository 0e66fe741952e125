package app.misura.web.client;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ClientRepository extends JpaRepository<ClientEntity, String> {
    Slice<ClientEntity> findAllBy(Pageable page);

    List<ClientEntity> findFirst500BySortName(String sortName);

    @Query("select c from ClientEntity c where c.seenOn < :before or (c.seenOn is null and c.createdAt < :since)"
            + " order by c.seenOn, c.createdAt")
    List<ClientEntity> due(LocalDate before, Instant since, Pageable page);

    /** Locks the client's row, so that nobody opens an order for somebody who is deleted at the same moment; empty if gone. */
    @Query(value = "select id from client where id = :id for update", nativeQuery = true)
    Optional<String> lock(String id);

    /** Locks the rows of a client's orders, so that nobody adds to what is deleted at the same moment. */
    @Query(value = "select id from garment_order where client_id = :id for update", nativeQuery = true)
    List<String> lockOrders(String id);
}
