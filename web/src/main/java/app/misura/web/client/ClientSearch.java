package app.misura.web.client;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * Finds clients by the beginnings of words of their names. The longest word leads and is looked up in an index; however many
 * clients there are, only those that begin so are looked at.
 */
@Component
class ClientSearch {
    private final EntityManager entities;

    ClientSearch(EntityManager entities) {
        this.entities = entities;
    }

    /** Clients by the word that is found, then by name. */
    List<ClientEntity> find(String typed, int from, int most) {
        return query("select c", typed, " order by w.word, w.sortName, w.clientId", ClientEntity.class)
                .setFirstResult(from)
                .setMaxResults(most)
                .getResultList()
                .stream()
                .distinct()
                .toList();
    }

    long count(String typed) {
        return query("select count(distinct c.id)", typed, "", Long.class).getSingleResult();
    }

    private <T> TypedQuery<T> query(String what, String typed, String order, Class<T> kind) {
        List<String> words = Words.of(Words.sorted(typed)).stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .limit(6)
                .toList();
        String lead = words.isEmpty() ? "\uFFFF" : words.get(0);
        StringBuilder where = new StringBuilder(" from ClientEntity c, ClientWordEntity w where w.clientId = c.id"
                + " and w.word >= :lead and w.word < :end");
        for (int i = 1; i < words.size(); i++) {
            where.append(" and exists (select 1 from ClientWordEntity x where x.clientId = c.id and x.word >= :word")
                    .append(i)
                    .append(" and x.word < :end")
                    .append(i)
                    .append(")");
        }
        TypedQuery<T> query = entities.createQuery(what + where + order, kind)
                .setParameter("lead", lead)
                .setParameter("end", lead + "\uFFFF");
        for (int i = 1; i < words.size(); i++) {
            query.setParameter("word" + i, words.get(i)).setParameter("end" + i, words.get(i) + "\uFFFF");
        }
        return query;
    }

    /** Writes the words of a name anew. */
    void write(ClientEntity client) {
        entities.createQuery("delete from ClientWordEntity w where w.clientId = :id")
                .setParameter("id", client.id)
                .executeUpdate();
        for (String word : Words.of(client.sortName)) {
            entities.persist(new ClientWordEntity(client.id, word, client.sortName));
        }
        entities.flush();
    }
}
