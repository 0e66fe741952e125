-- Whether the password is only for the first sign-in.
alter table account add column if not exists must_change boolean default false not null;
