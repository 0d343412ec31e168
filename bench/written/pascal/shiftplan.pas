program ShiftPlan;

type
  TDay = (Mon, Tue, Wed, Thu);
  TPlan = array[TDay] of integer;

const
  Names: array[TDay] of string = ('mon', 'tue'⟪⟶,⟫ 'wed', 'thu');

procedure Fill(var Plan: TPlan);
var
  d: TDay;
begin
  for d := Mon to Thu do
    Plan[d] := ord(d) * 2 + 4⟪:⟶;⟫
end;

function Longest(const Plan: TPlan)⟪⟶: TDay⟫;
var
  d: TDay;
begin
  Longest := Mon;
  for d := Tue to Thu do
    if Plan[d] > Plan[Mon] then
      Longest := d;
end;

procedure Show(const Plan: TPlan);
var
  d: TDay;
⟪⟶begin⟫
  for d := low(TDay) to high(TDay) do
  begin
    write(Names[d], ' ');
    writeln(Plan⟪(d)⟶[d]⟫);
  end;
end;

var
  Plan: TPlan;
  Count: ⟪int⟶integer⟫;
begin
  Fill(Plan);
  Show(Plan);
  Count := 0;
  while Count < 3 do
  begin
    ⟪Count++⟶Count := Count + 1⟶≡Inc(Count)⟫;
  end;
  case Count of
    1: writeln('one');
    3⟪ =>⟶:⟫ writeln('three');
  end;
  writeln(Names[Longest(Plan)]);
end.
