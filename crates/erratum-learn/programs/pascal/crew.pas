program crew;

{$mode objfpc}

type
  TRank = (Deckhand, Mate, Captain);
  TSailor = record
    name: string;
    rank: TRank;
    hours: integer;
  end;

var
  list: array[0..2] of TSailor;
  i, total: integer;

function Title(rank: TRank): string;
begin
  case rank of
    Captain: Title := 'captain';
    Mate: Title := 'mate';
  else
    Title := 'deckhand';
  end;
end;

procedure SetSailor(index: integer; name: string; rank: TRank; hours: integer);
begin
  list[index].name := name;
  list[index].rank := rank;
  list[index].hours := hours;
end;

begin
  SetSailor(0, 'Okke', Captain, 38);
  SetSailor(1, 'Tjark', Mate, 41);
  SetSailor(2, 'Wiebke', Deckhand, 29);
  total := 0;
  for i := 0 to 2 do
  begin
    writeln(list[i].name, ': ', Title(list[i].rank));
    total := total + list[i].hours;
  end;
  writeln('on average ', total / 3:0:1, ' hours');
end.
