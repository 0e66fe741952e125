create index if not exists client_word_find on client_word (word, sort_name, client_id);
