program Pumps;

const
  Limit = 30;

var
  litres, minutes: integer;
  rate: real;
  name: string⟪⟶;⟫
  done: boolean;

function PerMinute(l, m: integer): real;
begin
  PerMinute := l / m;
end;

function Grade(r: real): ⟪char⟶string⟫;
begin
  if r > 20 ⟪⟶then⟫
    Grade := 'strong'
  else
    Grade := 'weak';
end;

begin
  litres := 450;
  minutes := 20;
  name := 'bilge';
  done := False;
  rate := PerMinute(litres⟪⟶, minutes⟫);
  while not done do
  begin
    writeln(name, ' ', rate:0:1, ' ', Grade(rate));
    litres := ⟪rate⟶trunc(rate)⟶round(rate)⟫;
    if litres < Limit then
      done := true;
  ⟪⟶end;⟫
  writeln('done')
end.
