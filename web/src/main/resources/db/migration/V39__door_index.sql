create index if not exists door_event_at on door_event (happened_at);
