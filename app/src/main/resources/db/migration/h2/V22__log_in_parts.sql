-- In one file the log stays in one part; on PostgreSQL it has one for each half of a year.
select 1;
