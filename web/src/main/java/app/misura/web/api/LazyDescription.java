package app.misura.web.api;

import java.util.Objects;
import java.util.stream.Stream;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.beans.factory.config.BeanFactoryPostProcessor;
import org.springframework.beans.factory.config.ConfigurableListableBeanFactory;
import org.springframework.stereotype.Component;

/** What describes the interface is made when the description is first read, not at every start. */
@Component
class LazyDescription implements BeanFactoryPostProcessor {
    private static final String DESCRIBING = "org.springdoc.";

    @Override
    public void postProcessBeanFactory(ConfigurableListableBeanFactory beans) {
        for (String name : beans.getBeanDefinitionNames()) {
            BeanDefinition bean = beans.getBeanDefinition(name);
            boolean describes = Stream.of(name, bean.getBeanClassName(), bean.getFactoryBeanName())
                    .filter(Objects::nonNull)
                    .anyMatch(n -> n.startsWith(DESCRIBING));
            if (describes) {
                bean.setLazyInit(true);
            }
        }
    }
}
