-- Up Migration

-- Sheets and labels of many households in one file, made by the queue: how far it is, and the file once it is done.
CREATE TABLE print (
  programme_id uuid NOT NULL REFERENCES programme,
  id uuid NOT NULL PRIMARY KEY,
  kind text NOT NULL CHECK (kind IN ('sheets', 'labels')),
  group_id uuid,
  ask jsonb NOT NULL,
  state text NOT NULL DEFAULT 'asked' CHECK (state IN ('asked', 'working', 'done', 'failed')),
  progress double precision NOT NULL DEFAULT 0,
  asked_by text NOT NULL,
  asked_at timestamptz NOT NULL DEFAULT now(),
  pages integer,
  file bytea
);
CREATE INDEX print_by_programme ON print (programme_id, asked_at);

-- Down Migration

DROP TABLE print;
