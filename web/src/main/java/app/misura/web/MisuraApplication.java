package app.misura.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the workroom. */
@SpringBootApplication
public class MisuraApplication {
    public static void main(String[] args) {
        SpringApplication.run(MisuraApplication.class, args);
    }
}
