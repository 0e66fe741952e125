package app.misura.web.client;

import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ClientRepository extends JpaRepository<ClientEntity, String> {
    @Query("select c from ClientEntity c where lower(c.name) like lower(concat('%', :q, '%')) escape '!'"
            + " order by lower(c.name), c.id")
    Page<ClientEntity> search(String q, Pageable page);
}
