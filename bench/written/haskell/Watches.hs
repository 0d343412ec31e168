module Main where

⟪import Data.Map⟶import qualified Data.Map as M⟫
import Data.List (intercalate)

data Day = Mon | Tue | Wed deriving (Show, Eq, Ord⟪⟶, Enum⟫)

type Rota = M.Map Day [String]

assign :: Day -> String -> Rota -> Rota
assign day name rota = M.insertWith (++) day [name] rota

free :: Rota -> [Day]
free rota = filter (\d -> ⟪not M.member d rota⟶not (M.member d rota)⟫) [Mon .. Wed]

line :: (Day, [String]) -> String
line (day, names) = show day ++ ": " ++ intercalate ⟪', '⟶", "⟫ names

count :: Rota -> Int
count rota = sum [length names | (_⟪⟶,⟫ names) <- M.toList rota]

busy :: Int -> Rota -> Bool
busy n rota = if count rota > n then True⟪⟶ else False⟫

main :: IO ()
main = do
  let rota = assign Mon "Ida" (assign Wed "Olaf" ⟪M.Empty⟶M.empty⟫)
  mapM_ (putStrLn . line) (M.toList rota)
  print ⟪$ free⟶$ free rota⟫
  if busy 1 rota
    then putStrLn "busy"
    else putStrLn ⟪quiet⟶"quiet"⟫
