module Main where

data Stop = Stop String Int

type Route = [Stop]

minutes :: Route -> Int
minutes route = sum [m | Stop _ m ⟪<=⟶<-⟫ route]

names :: Route -> [String]
names = map (\(Stop n _) -> n)

reverseRoute :: Route -> Route
reverseRoute [] = []
reverseRoute (s:rest) = reverseRoute rest ++ ⟪s⟶[s]⟫

isLong :: Route -> Bool
isLong route
  | minutes route > 60 = True
  | otherwise = ⟪"False"⟶False⟫

describe :: Route -> String
describe route =
  let n = length route
      m = minutes route
   in show n ++ " stops, " ++ show m ++ " minutes"

shorten :: Int -> Route -> Route
shorten n route ⟪⟶= ⟫take n route

main :: IO ()
main = do
  let route = [Stop "Mole" 0, Stop "Bar" 25, Stop "Island" 40]
  putStrLn (describe route)
  mapM_ putStrLn (names (reverseRoute route))
  if isLong route
    then putStrLn "long"
    else ⟪putStrLine⟶putStrLn⟫ "short"
  print (minutes (shorten ⟪route 2⟶2 route⟫))
