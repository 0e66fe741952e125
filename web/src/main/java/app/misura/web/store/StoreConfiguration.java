package app.misura.web.store;

import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.time.Clock;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.PlatformTransactionManager;

/** The data of the house: the folder first, then the database in it, then its tables. */
@Configuration
class StoreConfiguration {
    @Bean
    DataFolder dataFolder(@Value("${misura.data}") Path path, Clock clock) {
        return DataFolder.open(path, clock);
    }

    /** Opened only once the folder was looked through, and closed before it is let go. */
    @Bean
    @ConfigurationProperties("spring.datasource.hikari")
    HikariDataSource dataSource(DataFolder folder, DataSourceProperties properties) {
        // a full disk closes the database under every connection, also under those that were used just now
        System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
        return properties
                .initializeDataSourceBuilder()
                .type(HikariDataSource.class)
                .build();
    }

    @Bean
    Migrating migrating(DataFolder folder, Clock clock) {
        return new Migrating(folder, clock);
    }

    @Bean
    Disk disk(DataSource source, DataFolder folder) {
        return new Disk(source, folder.commits());
    }

    @Bean
    PlatformTransactionManager transactionManager(Disk disk) {
        return new ForcingTransactionManager(disk);
    }
}
