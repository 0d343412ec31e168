program mail;

const
  Limit = 100;

type
  TLetter = record
    dest: string;
    grams: integer;
  end;

var
  bag: array[1..10] of TLetter;
  used: integer⟪⟶;⟫

function Weight: integer;
var
  i, sum: integer;
begin
  sum := 0;
  for i := 1 to used do
    sum := sum + bag[i].grams;
  Weight ⟪= ⟶:= ⟫sum;
end;

procedure Add(dest: string; grams: integer);
begin
  if Weight + grams > Limit then
    writeln('no room')
  else
  begin
    used := used + 1;
    bag[used].dest := dest;
    bag[used].grams := ⟪gram⟶grams⟫;
  end;
end;

begin
  used := 0;
  Add('Mole', 60);
  Add('Skerry'⟪ ⟶, ⟫30);
  writeln('weight '⟪ ⟶, ⟫Weight);
end.
