program ShedList;

type
  TShed = record
    name: string;
    area: real;
    doors: integer;
  end;
  PShed = ^TShed;

const
  Count = 3;

var
  sheds: array[1..Count] of TShed;
  i: integer;
  best: ⟪real⟶integer⟫;

function Largest: integer;
var
  k, found: integer;
begin
  found := 1;
  for k := 2 to Count do
    if sheds[k].area > sheds[found].area then
      found := k;
  ⟪return found⟶Largest := found⟶exit(found)⟫;
end;

procedure Fill(n: integer; const name: string; area: real);
begin
  sheds[n].name := name;
  sheds[n].area := area;
  sheds[n].doors := ⟪area / 20⟶trunc(area / 20)⟶round(area / 20)⟫;
end;

begin
  Fill(1, 'wool', 120.5);
  Fill(2, 'timber', ⟪'300'⟶300⟫);
  Fill(3, ⟪⟶'salt', ⟶'oil', ⟫80);
  for i := 1 to Count do
    writeln(sheds[i].name, ' ', sheds[i]⟪.door⟶.doors⟫);
  best := Largest;
⟪  Count := 4;
⟶⟫  if best = 2 then
    writeln('timber is largest')
  else
    writeln(sheds[best].name⟪ + ' ' + ⟶, ' ', ⟫sheds[best].area:0:1);
end.
