program tally;

type
  TDay = (mon, tue, wed, thu, fri);

var
  cars: array[TDay] of integer;
  day: TDay;
  sum: integer;
  mean: real;

function busy(day: TDay): boolean⟪⟶;⟫
begin
  busy := cars[day] > 40;
end;

procedure fill;
var
  day: TDay;
begin
  for day := mon to fri do
  begin
    cars[day] := 20 + 8 * ord(day);
  end;
end;

begin
  fill;
  sum := 0;
  for day := mon ⟪⟶to ⟫fri do
    sum := sum + cars[day];
  mean := sum / 5;
  ⟪write ln⟶writeln⟫('mean ', mean:0:1);
  if busy(fri) ⟪&&⟶and⟫ not busy(mon) then
    writeln('fuller on friday');
  sum := ⟪mean⟶round(mean)⟶trunc(mean)⟫;
  writeln(sum);
end⟪;⟶.⟫
