program winches;

const
  Most = 5;

type
  TWinch = record
    name: string;
    pull: real⟪⟶;⟫
    broken: boolean;
  end;

var
  all: array[1..Most] of TWinch;
  n⟪⟶, i⟫: integer;
  best: real;

procedure add(name: string; pull: real)⟪⟶;⟫
begin
  n := n + 1;
  all[n].name ⟪=⟶:=⟫ name;
  all[n].pull := pull;
  all[n].broken := ⟪False()⟶false⟶False⟫;
end;

function strongest: ⟪int⟶integer⟫;
var
  k, at: integer;
begin
  at := 1;
  for k := 2 to n do
    if all[k].pull ⟪=>⟶>=⟫ all[at].pull then
      at := k⟪⟶;⟫
  strongest := at;
end;

begin
  n := 0;
  add(⟪"fore"⟶'fore'⟫, 3.5);
  add('aft', 4.25);
  i := strongest;
  ⟪best := all(i).pull⟶best := all[i].pull⟫;
  if all[i].broken = false ⟪⟶then⟫
    writeln(all[i].name, ' pulls ', best:0:2)⟪;⟶⟫
  else
    writeln('broken');
end⟪⟶.⟫
